x = int(input())
print("Double: " + x * 2)
