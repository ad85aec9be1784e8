age = "12"
print("Next year:", age + 1)
