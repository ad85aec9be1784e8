var total = total || 10; console.log(total); for (var i = 0; i < 2; i++) { var last = i; } console.log(i, last);
