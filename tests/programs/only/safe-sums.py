# Safe calculator
def divide(a, b):
    try:
        result = a / b
    except ZeroDivisionError:
        print("You can't divide by zero!")
        result = None
    except TypeError as e:
        print(f"Wrong types: {e}")
        result = None
    return result

print(divide(10, 4))
print(divide(3, 0))
print("skipped")
prices = {"rake": 12, "hose": 20}
items = ["rake", "spade", "hose"]
total = 0
for item in items:
    try:
        total += prices[item]
    except KeyError as missing:
        print("No price for", missing)
        continue
print("Total", total)
numbers = [1, 2, 3]
i = 0
while True:
    try:
        print(numbers[i])
        i += 1
    except IndexError:
        print("end of list")
        break
