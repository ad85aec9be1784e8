import random
random.seed(5)

SUITS = 'leaf', 'root', 'bud', 'bark'
RANKS = [str(n) for n in range(2, 11)] + ['child', 'gardener', 'owl', 'sun']

class Card:
    def __init__(self, rank, suit):
        self.rank = rank
        self.suit = suit
    def __repr__(self):
        return '%s of %s' % (self.rank, self.suit)
    def value(self):
        return RANKS.index(self.rank) + 2
    def __lt__(self, other):
        return (self.value(), self.suit) < (other.value(), other.suit)

class Deck(object):
    def __init__(self):
        self.cards = [Card(r, s) for s in SUITS for r in RANKS]
    def __len__(self): return len(self.cards)
    def deal(self, n):
        hand, self.cards = self.cards[:n], self.cards[n:]
        return hand

class Player:
    def __init__(self, name): self.name = name; self.hand = []
    def sorted_hand(self): return sorted(self.hand, reverse=True)
    def best(self): return max(self.hand)

deck = Deck()
deck.cards.reverse()
print(len(deck), deck.cards[0], deck.cards[-1])
players = [Player(n) for n in ('Mina', 'Odo', 'Tam')]
for p in players:
    p.hand.extend(deck.deal(5))
    print(p.name, p.sorted_hand())
winner = max(players, key=lambda p: p.best())
print(winner.name, 'wins with', winner.best(), '-', len(deck), 'cards left')
by_suit = {}
for c in deck.cards:
    by_suit.setdefault(c.suit, []).append(c.rank)
for suit, ranks in by_suit.items():
    print(suit.ljust(6, '.'), ','.join(ranks))
n = random.randint(1, 6)
print(1 <= n <= 6, random.choice('a') == 'a', random.random() < 1)
