def kind(height):
    if height < 10:
        return "herb"
    elif height < 100:
        return "shrub"
    elif height == 100:
        return "just so"
    else:
        return "tree"


for height in (5, 50, 100, 500):
    print(height, kind(height))
print("tall" if 5 > 3 else "small", "a" if 0 else "b" if 0 else "c")
