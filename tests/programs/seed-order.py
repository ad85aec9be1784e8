def order(seeds, price):
    if seeds <= 0:
        raise ValueError("order some seeds")
    if seeds > 50:
        raise RuntimeError("too many seeds")
    return seeds * price


for seeds in [12, 0, 80]:
    try:
        print(order(seeds, 3))
    except ValueError as problem:
        print("Please", problem)
    except Exception as problem:
        print("Sorry:", problem)
