import random

class Card:
    suits = ["leaf", "root", "seed", "bloom"]
    ranks = [str(n) for n in range(2, 11)] + ["bee", "owl", "fox"]

    def __init__(self, suit, rank):
        self.suit, self.rank = suit, rank

    @property
    def value(self):
        return Card.ranks.index(self.rank) + 2

    def __str__(self): return f"{self.rank} of {self.suit}s"
    def __lt__(self, other): return self.value < other.value
    def __hash__(self): return hash((self.suit, self.rank))
    def __eq__(self, other): return (self.suit, self.rank) == (other.suit, other.rank)


class Deck:
    def __init__(self):
        self.cards = [Card(s, r) for s in Card.suits for r in Card.ranks]

    def shuffle(self, seed):
        random.Random(seed).shuffle(self.cards) if False else random.seed(seed)
        random.shuffle(self.cards)

    def deal(self, n=1):
        return [self.cards.pop() for _ in range(n)]


class Player:
    def __init__(self, name):
        self.name = name
        self.hand = []
        self.won = 0

    def play(self, lead=None):
        options = [c for c in self.hand if lead is None or c.suit == lead.suit] or self.hand
        card = max(options) if lead else min(options)
        self.hand.remove(card)
        return card


deck = Deck()
print(len(deck.cards), deck.cards[0], deck.cards[-1])
state = 5
for i in range(len(deck.cards) - 1, 0, -1):
    state = (state * 1664525 + 1013904223) % 2 ** 32
    j = state % (i + 1)
    deck.cards[i], deck.cards[j] = deck.cards[j], deck.cards[i]
players = [Player("Ivy"), Player("Reed"), Player("Moss")]
for p in players:
    p.hand = sorted(deck.deal(4), key=lambda c: (c.suit, c.value))
    print(p.name + ":", ", ".join(map(str, p.hand)))
leader = 0
for trick in range(4):
    table = []
    for k in range(len(players)):
        who = players[(leader + k) % len(players)]
        lead = table[0][1] if table else None
        table.append((who, who.play(lead)))
    led = table[0][1].suit
    winner, best = max((t for t in table if t[1].suit == led), key=lambda t: t[1].value)
    winner.won += 1
    leader = players.index(winner)
    print(f"Trick {trick + 1}: {' / '.join(str(c) for _, c in table)} -> {winner.name}")
ranking = sorted(players, key=lambda p: (-p.won, p.name))
print([(p.name, p.won) for p in ranking])
print(Card("leaf", "2") == Card("leaf", "2"), Card("leaf", "2") in {Card("leaf", "2"): 1}, len({Card("leaf", "2"), Card("leaf", "2"), Card("root", "2")}))
