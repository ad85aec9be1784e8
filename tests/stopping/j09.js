print("a");
