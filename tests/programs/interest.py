money = 100.0
year = 0
while money < 150:
    money *= 1.05
    year += 1
    print(year, round(money, 2))
print(f"{money:.4f}", money)
