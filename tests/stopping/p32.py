print("Sum: " + 3 + 4)
