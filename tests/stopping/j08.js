Console.log("a");
