while true:
    print("x")
    break
