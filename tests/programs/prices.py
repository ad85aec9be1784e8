price = 2.5
amount = int(input("How many pots? "))
cost = price * amount
if amount >= 10:
    cost = cost * 0.9
    print("a tenth off")
print("That is", cost)
print(f"{cost:.2f} in all")
