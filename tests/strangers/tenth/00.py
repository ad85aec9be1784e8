# Order book of the garden shop
from enum import Enum


class Size(Enum):
    SMALL = 1
    MEDIUM = 2
    LARGE = 3


class Order:
    def __init__(self, name, size, count=1):
        self.name = name
        self.size = size
        self.count = count

    def price(self):
        if self.size is Size.SMALL:
            unit = 2.5
        elif self.size == Size.MEDIUM:
            unit = 4.0
        else:
            unit = 6.25
        return unit * self.count

    def __str__(self):
        return f"{self.count} x {self.name} ({self.size.name.lower()})"


orders = [
    Order("basil", Size.SMALL, 3),
    Order("tomato", Size.LARGE),
    Order("mint", Size.MEDIUM, 2),
]

total = 0
for number, order in enumerate(orders, start=1):
    print(f"{number:>2}. {str(order):<25}{order.price():>8.2f}")
    total += order.price()
print("-" * 37)
print(f"    {'Total':<25}{total:>8.2f}")

for size in Size:
    matching = [o.name for o in orders if o.size == size]
    print(size.name, size.value, matching)
print(Size(2))
print(Size["LARGE"].value)
