with open("x.csv", "w") as f:
    f.write("name,litres\nbean,3\npea,4\n")
with open("x.csv") as f:
    header = next(f).strip().split(",")
    total = 0
    for line in f:
        name, litres = line.strip().split(",")
        total += int(litres)
    print(header, total, next(f, "nothing"))
    try:
        next(f)
    except StopIteration:
        print("stop")
