class Machine:
    COINS = (200, 100, 50, 20, 10, 5)

    def __init__(self, stock):
        self.stock = stock
        self.state = self.idle
        self.credit = 0
        self.log = []

    def idle(self, event):
        if event.startswith("coin"):
            self.credit += int(event[4:])
            return self.paying
        return self.idle

    def paying(self, event):
        if event.startswith("coin"):
            self.credit += int(event[4:])
        elif event == "back":
            self.give(self.credit)
            return self.idle
        elif event in self.stock:
            count, price = self.stock[event]
            if count == 0:
                self.log.append(f"no {event}")
            elif price > self.credit:
                self.log.append(f"{event}: {price - self.credit} missing")
            else:
                self.stock[event] = (count - 1, price)
                self.log.append(f"here is your {event}")
                self.give(self.credit - price)
                return self.idle
        return self.paying

    def give(self, amount):
        coins = []
        for coin in self.COINS:
            n, amount = divmod(amount, coin)
            coins += [coin] * n
        self.credit = 0
        self.log.append("change: " + (" ".join(map(str, coins)) or "none"))

    def feed(self, events):
        for event in events:
            self.state = self.state(event)


m = Machine({"seeds": (1, 120), "soil": (3, 250)})
m.feed("coin100 seeds coin50 seeds soil coin200 seeds coin50 soil coin5 back".split())
for i, line in enumerate(m.log, 1):
    print(i, line, sep=". ")
print(m.stock, m.credit, m.state.__name__)
