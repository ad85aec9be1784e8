console.lgo("a");
