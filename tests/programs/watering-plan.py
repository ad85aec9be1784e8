"""Plan the watering of the beds for one week."""
import math

days = ["Mon", "Tue", "Wed", "Thu", "Fri"]
litres = [3.5, 4, 2.25, 0, 6]
total = 0
for day, amount in zip(days, litres):
    total += amount
    print(f"{day:>5}: {amount:6.2f} l")
print("total", total, "mean", total / len(litres))
print(f"{total:.1f} litres, {math.ceil(total / 5)} cans of 5")
print(math.floor(-2.5), math.ceil(-2.5), round(2.5), round(3.5), round(-0.5), round(2.675, 2))
