Print("hello")
