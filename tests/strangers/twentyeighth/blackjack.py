import random

SUITS = "♠♥♦♣"
RANKS = ["A"] + [str(n) for n in range(2, 11)] + list("JQK")


class Card:
    def __init__(self, rank, suit):
        self.rank, self.suit = rank, suit

    @property
    def value(self):
        if self.rank in "JQK":
            return 10
        return 11 if self.rank == "A" else int(self.rank)

    def __str__(self):
        return f"{self.rank}{self.suit}"

    def __repr__(self):
        return str(self)


class Hand(list):
    def total(self):
        t = sum(c.value for c in self)
        aces = sum(c.rank == "A" for c in self)
        while t > 21 and aces:
            t -= 10
            aces -= 1
        return t


deck = [Card(r, s) for s in SUITS for r in RANKS]
print(len(deck), deck[0], deck[-1], deck[10:13])
hand = Hand([Card("A", "♠"), Card("9", "♥")])
print(hand, hand.total())
hand.append(Card("5", "♣"))
print(hand.total(), len(hand), hand[0])
print(Hand([Card("K", "♦"), Card("A", "♦")]).total() == 21)
