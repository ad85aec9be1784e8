litres = 40
day = 0
while litres > 0:
    day += 1
    litres -= 7
    if litres < 0:
        litres = 0
    print("day", day, "left", litres)
print("empty after", day, "days")
