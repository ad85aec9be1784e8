n = 3
if n > 2:
    print("big")
elif m > 2:
    print("m")
print("done")
