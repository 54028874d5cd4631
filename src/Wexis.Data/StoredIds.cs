using System.Data;
using Dapper;
using Wexis.Core.Measures;

namespace Wexis.Data;

/// <summary>Ids in the store: UUIDs, one by one and in arrays (<c>= ANY(@ids)</c>).</summary>
internal static class StoredIds
{
    /// <summary>Makes them known; again is harmless.</summary>
    public static void Register()
    {
        foreach (var type in Ids.All)
        {
            var kind = type.GetGenericArguments();
            SqlMapper.AddTypeHandler(type, (SqlMapper.ITypeHandler)Activator.CreateInstance(typeof(One<>).MakeGenericType(kind))!);
            SqlMapper.AddTypeHandler(
                type.MakeArrayType(),
                (SqlMapper.ITypeHandler)Activator.CreateInstance(typeof(Many<>).MakeGenericType(kind))!
            );
        }
    }

    /// <summary>Tells the type with a null too, so that PostgreSQL never has to guess it.</summary>
    private sealed class One<TKind> : SqlMapper.ITypeHandler
        where TKind : IKind
    {
        public void SetValue(IDbDataParameter parameter, object value)
        {
            parameter.DbType = DbType.Guid;
            parameter.Value = value is Id<TKind> id ? id.Value : DBNull.Value;
        }

        public object Parse(Type destinationType, object value) => Id<TKind>.From((Guid)value);
    }

    private sealed class Many<TKind> : SqlMapper.ITypeHandler
        where TKind : IKind
    {
        public void SetValue(IDbDataParameter parameter, object value) =>
            parameter.Value = value is Id<TKind>[] ids ? Array.ConvertAll(ids, id => id.Value) : DBNull.Value;

        public object Parse(Type destinationType, object value) => Array.ConvertAll((Guid[])value, Id<TKind>.From);
    }
}
