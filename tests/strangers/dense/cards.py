import random
class Card:
    SUITS = ["clubs", "diamonds", "hearts", "spades"]
    RANKS = [None, "Ace"] + [str(n) for n in range(2, 11)] + ["Jack", "Queen", "King"]
    def __init__(self, suit=0, rank=2):
        self.suit = suit
        self.rank = rank
    def __str__(self):
        return "%s of %s" % (Card.RANKS[self.rank], Card.SUITS[self.suit])
    def __lt__(self, other):
        return (self.suit, self.rank) < (other.suit, other.rank)
    def __eq__(self, other):
        return self.suit == other.suit and self.rank == other.rank
class Deck:
    def __init__(self):
        self.cards = [Card(s, r) for s in range(4) for r in range(1, 14)]
    def __str__(self):
        return ", ".join(str(c) for c in self.cards[:3]) + ", ..."
    def pop(self): return self.cards.pop()
    def add(self, card): self.cards.append(card)
    def shuffle(self): random.shuffle(self.cards)
    def sort(self): self.cards.sort()
    def deal(self, hands, n):
        for _ in range(n):
            for h in hands: h.add(self.pop())
class Hand(Deck):
    def __init__(self, label=""):
        self.cards = []
        self.label = label
    def __str__(self):
        return self.label + ": " + "; ".join(map(str, self.cards))
    def total(self):
        return sum(min(c.rank, 10) for c in self.cards)
random.seed(3)
deck = Deck()
print(deck)
deck.shuffle()
hands = [Hand("Fay"), Hand("Moss")]
deck.deal(hands, 3)
for h in hands:
    h.sort()
    print(h, h.total())
print(len(deck.cards), Card(1, 5) == Card(1, 5), Card(0, 1) < Card(0, 2), Card() in hands[0].cards)
winner = max(hands, key=lambda h: h.total())
print("winner:", winner.label)
