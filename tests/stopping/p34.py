for i in 5:
    print(i)
