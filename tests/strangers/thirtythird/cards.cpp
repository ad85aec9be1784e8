#include <iostream>
#include <array>
#include <vector>
#include <string>
#include <algorithm>
#include <map>
#include <set>

enum class Suit { Leaf, Flower, Root, Seed };
constexpr std::array<const char*, 4> kSuitNames{"Leaf", "Flower", "Root", "Seed"};

struct Card {
    Suit suit;
    int rank;
    bool operator<(const Card& o) const {
        return rank != o.rank ? rank < o.rank : suit < o.suit;
    }
};

std::string to_string(const Card& c) {
    static const std::map<int, std::string> faces = {{1, "Ace"}, {11, "Gardener"}, {12, "Queen"}};
    auto it = faces.find(c.rank);
    std::string r = it != faces.end() ? it->second : std::to_string(c.rank);
    return r + " of " + kSuitNames[static_cast<int>(c.suit)];
}

class Deck {
    std::vector<Card> cards;
    unsigned int seed;

    unsigned int random() {
        seed = seed * 1664525u + 1013904223u;
        return seed >> 16;
    }

public:
    explicit Deck(unsigned int s) : seed{s} {
        for (int suit = 0; suit < 4; ++suit)
            for (int rank = 1; rank <= 12; ++rank)
                cards.push_back(Card{static_cast<Suit>(suit), rank});
    }
    void shuffle() {
        for (std::size_t i = cards.size() - 1; i > 0; --i) {
            std::size_t j = random() % (i + 1);
            std::swap(cards[i], cards[j]);
        }
    }
    std::vector<Card> deal(int n) {
        std::vector<Card> hand(cards.end() - n, cards.end());
        cards.erase(cards.end() - n, cards.end());
        return hand;
    }
    auto size() const { return cards.size(); }
};

int main() {
    Deck deck{2024};
    deck.shuffle();
    auto hand = deck.deal(5);
    std::sort(hand.rbegin(), hand.rend());
    for (const auto& card : hand) std::cout << to_string(card) << '\n';
    std::cout << deck.size() << " left\n";
    std::map<Suit, int> bySuit;
    std::set<int> ranks;
    for (auto& [suit, rank] : hand) {
        ++bySuit[suit];
        ranks.insert(rank);
    }
    for (auto [suit, n] : bySuit) std::cout << kSuitNames[int(suit)] << " x" << n << ' ';
    std::cout << '\n' << (ranks.size() < hand.size() ? "a pair" : "all differ") << '\n';
    auto flush = std::all_of(hand.begin(), hand.end(), [&](const Card& c) { return c.suit == hand[0].suit; });
    std::cout << std::boolalpha << flush << '\n';
    int points = 0;
    for (const Card& c : hand)
        switch (c.suit) {
            case Suit::Leaf: points += 1; break;
            case Suit::Flower: points += c.rank; break;
            default: points -= 1;
        }
    std::cout << points << '\n';
}
