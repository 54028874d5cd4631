using Wexis.Server.App;

var app = WexisHost.Build(args);
await WexisHost.Prepare(app, CancellationToken.None);
await app.RunAsync();
