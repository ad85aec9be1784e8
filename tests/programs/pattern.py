for i in range(1, 5):
    print("*" * i)
for i in range(3, 0, -1):
    print("*" * i)
