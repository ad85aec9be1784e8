names = ["juniper bell", "rowan ash", "sorrel dale"]
for name in names:
    first, last = name.split()
    print(first[0].upper() + last[0].upper())
