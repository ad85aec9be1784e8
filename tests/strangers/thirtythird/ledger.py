class LedgerError(Exception):
    pass


class NotEnough(LedgerError):
    def __init__(self, wanted, there):
        super().__init__(f"wanted {wanted}, only {there} there")
        self.wanted = wanted
        self.there = there


class Entry:
    counter = 0

    def __init__(self, text, amount):
        Entry.counter += 1
        self.number = Entry.counter
        self.text = text
        self.amount = amount

    def __repr__(self):
        return f"Entry({self.number}, {self.text!r}, {self.amount:+.2f})"

    def __lt__(self, other):
        return self.amount < other.amount

    def __eq__(self, other):
        return isinstance(other, Entry) and self.amount == other.amount


class Ledger:
    def __init__(self, owner, start=0):
        self.owner = owner
        self._entries = []
        if start:
            self.put("start", start)

    @property
    def balance(self):
        return sum(e.amount for e in self._entries)

    def put(self, text, amount):
        if amount <= 0:
            raise ValueError("amount must be positive")
        self._entries.append(Entry(text, amount))

    def take(self, text, amount):
        if amount > self.balance:
            raise NotEnough(amount, self.balance)
        self._entries.append(Entry(text, -amount))

    def __len__(self):
        return len(self._entries)

    def __iter__(self):
        return iter(self._entries)

    def __getitem__(self, place):
        return self._entries[place]

    def __contains__(self, text):
        return any(e.text == text for e in self)

    def __str__(self):
        lines = [f"Ledger of {self.owner}"]
        for e in self:
            lines.append(f"  {e.number:03d} {e.text:.<20}{e.amount:>10,.2f}")
        lines.append("  " + "=" * 34)
        lines.append(f"  {'':24}{self.balance:>10,.2f}")
        return "\n".join(lines)


book = Ledger("Ines", 1250)
book.put("seeds sold", 310.5)
try:
    book.take("greenhouse", 5000)
except NotEnough as e:
    print("No:", e, "| missing", e.wanted - e.there)
try:
    book.put("nothing", 0)
except (LedgerError, ValueError) as problem:
    print(type(problem).__name__, problem)
book.take("spades", 48.99)
print(book)
print(len(book), "seeds sold" in book, "cows" in book)
print(book[0], book[-1])
print(sorted(book))
print(min(book), max(book))
print(Entry("a", 1) == Entry("b", 1), Entry("a", 1) == 1)
try:
    book[7]
except IndexError as e:
    print("index:", e)
finally:
    print(Entry.counter, "entries made")
