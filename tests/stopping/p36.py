x = "5" * "3"
print(x)
