function go ()
{
	var a = 1, b = 2 , c;	// all three
	{
		let t = a;   
		console.log(t)
	}
	for (var i = 0, n = 3; i < n; i++, n -= 1)
	{
		console.log(i, n)
	}
}
go ()
