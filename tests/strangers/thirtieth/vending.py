# Vending machine, done with a table of states
from enum import Enum, auto

class State(Enum):
    IDLE = auto()
    PAID = auto()
    SERVING = auto()

class Machine:
    PRICES = {'tea': 120, 'soup': 180, 'water': 60}
    COINS = [200, 100, 50, 20, 10]

    def __init__(self):
        self.state = State.IDLE
        self.credit = 0
        self.log = []

    def coin(self, value):
        if value not in self.COINS:
            return f'coin {value} refused'
        self.credit += value
        self.state = State.PAID
        return f'credit {self.credit / 100:.2f}'

    def choose(self, drink):
        if self.state is not State.PAID:
            return 'please pay first'
        price = self.PRICES.get(drink)
        if price is None:
            return f'no {drink} here'
        if price > self.credit:
            return f'{drink} costs {price / 100:.2f}, {(price - self.credit) / 100:.2f} missing'
        self.state = State.SERVING
        self.credit -= price
        self.log.append((drink, price))
        change = self.change()
        self.state = State.IDLE
        return f'here is your {drink}' + (', change ' + ' '.join(change) if change else '')

    def change(self):
        result = []
        for c in self.COINS:
            n, self.credit = divmod(self.credit, c)
            if n:
                result.append(f'{n}x{c}')
        return result

m = Machine()
events = [('choose', 'tea'), ('coin', 100), ('choose', 'tea'), ('coin', 3), ('coin', 50), ('choose', 'cocoa'),
          ('choose', 'tea'), ('coin', 200), ('choose', 'soup'), ('coin', 50), ('coin', 10), ('choose', 'water')]
for name, arg in events:
    print(f'{name}({arg!r}):', getattr(m, name)(arg), '|', m.state.name, m.state.value)
print(m.log, sum(price for _, price in m.log))
print([s for s in State], State['PAID'], State(3), len(State))
