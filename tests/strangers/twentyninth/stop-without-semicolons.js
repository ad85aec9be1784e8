const rl = require("readline").createInterface({ input : process.stdin })
const seen = []
rl.on( "line" , function (line)
{
  if ( line === "stop" )
  {
    rl.close( )
    return
  }
  else seen.push( line )
  console.log( "got " + line )
} )
rl.on("close", () => { console.log(seen.length) })
