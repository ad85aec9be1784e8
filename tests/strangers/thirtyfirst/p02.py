class Product:
    tax = 0.2

    def __init__(self, name, price, stock=0):
        self.name = name
        self.price = price
        self.stock = stock

    def __str__(self):
        return f"{self.name:<12}{self.price:>8.2f}{self.stock:>5}"

    def __repr__(self):
        return f"Product({self.name!r}, {self.price})"

    def __eq__(self, other):
        return isinstance(other, Product) and self.name == other.name

    def __lt__(self, other):
        return self.price < other.price

    @property
    def gross(self):
        return round(self.price * (1 + Product.tax), 2)

    @classmethod
    def from_line(cls, line):
        name, price, stock = line.split(";")
        return cls(name.strip(), float(price), int(stock))


class Shop:
    def __init__(self):
        self.products = {}

    def add(self, product):
        if product.name in self.products:
            self.products[product.name].stock += product.stock
        else:
            self.products[product.name] = product

    def sell(self, name, amount=1):
        try:
            p = self.products[name]
        except KeyError:
            print(f"We do not have {name}.")
            return 0
        if p.stock < amount:
            raise ValueError(f"Only {p.stock} of {name} left")
        p.stock -= amount
        return amount * p.gross

    def __len__(self):
        return len(self.products)

    def __iter__(self):
        return iter(self.products.values())


shop = Shop()
for line in """rake; 12.50; 4
hose; 30; 2
seeds; 1.99; 100
rake; 12.50; 1""".splitlines():
    shop.add(Product.from_line(line))

print(len(shop), "products")
for p in sorted(shop):
    print(p)
print("Sold for", shop.sell("rake", 2))
shop.sell("wheel")
try:
    shop.sell("hose", 3)
except ValueError as error:
    print("Error:", error)
print(max(shop), Product("hose", 1) in list(shop))
print(list(shop))
