total = (1 +
         2 +
         3)
names = [
    "bean",
    "pea",
]
long = 1 + 2 \
    + 3
a = 1; b = 2; print(a + b)
if a < b: print("small")
for i in range(3): print(i, end=";")
print()
print(total, names, long)  # a remark
print(
    "spread",
    "out",
)
BEDS: int = 4


def cost(metres: float, price: float = 2.0) -> float:
    """What it costs."""
    return metres * price


print(cost(BEDS), cost(2, 3))
