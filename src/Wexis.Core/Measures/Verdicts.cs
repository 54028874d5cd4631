namespace Wexis.Core.Measures;

/// <summary>What a safety rule says, the worst last.</summary>
[ClosedList]
public enum SafetyVerdict
{
    Ok,
    Caution,
    Stop,
}

/// <summary>What a state of the person does to a class of work, the strictest first.</summary>
[ClosedList]
public enum Handling
{
    Avoid,
    Ask,
    Modify,
    Ok,
}

/// <summary>What a person is answered, the strictest first.</summary>
[ClosedList]
public enum Response
{
    StopAndRefer,
    Refuse,
    AskClinician,
    AllowModified,
    Allow,
}

/// <summary>How a derivation stands: a field is nonsense, a step breaks a stop rule, a question is open, or none of these.</summary>
[ClosedList]
public enum DerivedStanding
{
    Refused,
    Stopped,
    Draft,
    Complete,
}

/// <summary>What a score decides: something is still unmarked, not passed, passed.</summary>
[ClosedList]
public enum Decision
{
    Open,
    Fail,
    Pass,
    NotEnoughShown,
    LookAgain,
}
