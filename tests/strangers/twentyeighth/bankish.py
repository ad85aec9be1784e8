class TokenJar:
    """Pupils earn tokens for watering."""
    count = 0
    MAX = 50

    def __init__(self, owner: str, tokens: int = 0) -> None:
        self._owner = owner
        self.__tokens = tokens
        self.history: list[tuple[str, int]] = []
        TokenJar.count += 1

    @property
    def tokens(self) -> int:
        return self.__tokens

    @tokens.setter
    def tokens(self, value: int) -> None:
        if value < 0:
            raise ValueError("tokens can't be negative")
        self.__tokens = min(value, self.MAX)

    def earn(self, n: int) -> "TokenJar":
        self.tokens += n
        self.history.append(("earn", n))
        return self

    def spend(self, n: int) -> "TokenJar":
        self.tokens -= n
        self.history.append(("spend", n))
        return self

    @staticmethod
    def is_valid(n) -> bool:
        return isinstance(n, int) and not isinstance(n, bool) and n > 0

    def __add__(self, other: "TokenJar") -> "TokenJar":
        return TokenJar(f"{self._owner}&{other._owner}", self.tokens + other.tokens)

    def __lt__(self, other):
        return self.tokens < other.tokens

    def __str__(self):
        return "{0} has {1} token{2}".format(self._owner, self.tokens, "" if self.tokens == 1 else "s")


class BonusJar(TokenJar):
    def __init__(self, owner, tokens=0, *, factor=2):
        super().__init__(owner, tokens)
        self.factor = factor

    def earn(self, n):
        return super().earn(n * self.factor)


jars = [TokenJar("Hazel", 5), BonusJar("Linnet"), TokenJar("Rowan", 1)]
jars[0].earn(3).spend(2)
jars[1].earn(10)
for jar in jars:
    print(jar)
print(max(jars), "/", min(jars), "/", sorted(jars)[1])
try:
    jars[2].spend(4)
except ValueError as err:
    print("Error:", err)
else:
    print("fine")
finally:
    print("checked")
print(jars[2].history, jars[0].history)
print(jars[0] + jars[1])
print(TokenJar.count, TokenJar.is_valid(True), BonusJar.is_valid(3))
jars[1].tokens = 500
print(jars[1].tokens, jars[1].factor, isinstance(jars[1], TokenJar))
b = BonusJar("Ivy", 1, factor=3)
b.earn(2)
print(b, vars(b).get("factor"), hasattr(b, "tokens"), getattr(b, "missing", "n/a"))
