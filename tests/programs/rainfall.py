rain = {"mon": 3, "tue": 0, "wed": 8}
wettest = ""
most = -1
for day, amount in rain.items():
    if amount > most:
        most = amount
        wettest = day
print(wettest, most)
print(sum(rain.values()) / 3)
