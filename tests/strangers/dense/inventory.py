class Inventory:
    """Keeps what is in the shed."""
    def __init__(self):
        self.items = {}
    def add(self, name, qty=1, price=0.0):
        if name in self.items:
            self.items[name]["qty"] += qty
        else:
            self.items[name] = {"qty": qty, "price": price}
        return self
    def remove(self, name, qty=1):
        try:
            item = self.items[name]
        except KeyError:
            print(f"no {name}")
            return 0
        taken = min(qty, item["qty"])
        item["qty"] -= taken
        if item["qty"] == 0:
            del self.items[name]
        return taken
    @property
    def value(self):
        return sum(i["qty"] * i["price"] for i in self.items.values())
    def __len__(self):
        return len(self.items)
    def __iter__(self):
        return iter(sorted(self.items))
    def __getitem__(self, name):
        return self.items[name]
    def __contains__(self, name):
        return name in self.items
inv = Inventory()
inv.add("spade", 3, 4.5).add("rake", price=6).add("spade", 2)
print(len(inv), inv.value, "rake" in inv, "hoe" in inv)
for name in inv:
    print(f"{name:<8}|{inv[name]['qty']:>3}|{inv[name]['price']:>7.2f}")
print(inv.remove("spade", 10), inv.remove("hoe"), list(inv), inv.remove("rake"))
print(len(inv), bool(inv.items))
