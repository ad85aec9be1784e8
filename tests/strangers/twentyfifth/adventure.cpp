#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <map>
#include <sstream>

class Item {
public:
    explicit Item(std::string name, int weight = 1) : name_(std::move(name)), weight_(weight) {}
    virtual ~Item() = default;
    virtual std::string describe() const { return name_ + " (" + std::to_string(weight_) + ")"; }
    const std::string& name() const { return name_; }
    int weight() const { return weight_; }
private:
    std::string name_;
    int weight_;
};

class Lamp : public Item {
public:
    Lamp() : Item("lamp", 2) {}
    void toggle() { lit_ = !lit_; }
    bool lit() const { return lit_; }
    std::string describe() const override { return Item::describe() + (lit_ ? " [lit]" : " [dark]"); }
private:
    bool lit_ = false;
};

class Room {
public:
    Room(std::string n, std::string d) : name(std::move(n)), description(std::move(d)) {}
    void connect(const std::string& dir, Room* other, const std::string& back) {
        exits[dir] = other;
        other->exits[back] = this;
    }
    Room* exit(const std::string& dir) const {
        auto it = exits.find(dir);
        return it != exits.end() ? it->second : nullptr;
    }
    void look() const {
        std::cout << "== " << name << " ==\n" << description << "\n";
        for (const auto& i : items) std::cout << "  There is a " << i->describe() << ".\n";
        std::cout << "  Exits:";
        for (const auto& e : exits) std::cout << " " << e.first;
        std::cout << "\n";
    }
    std::vector<std::shared_ptr<Item>> items;
private:
    std::string name, description;
    std::map<std::string, Room*> exits;
};

class Game {
    Room garden{"Garden", "Rows of beans."}, shed{"Shed", "It smells of oil."}, cellar{"Cellar", "Too dark to see."};
    Room* here = &garden;
    std::vector<std::shared_ptr<Item>> bag;
    std::shared_ptr<Lamp> lamp = std::make_shared<Lamp>();
    int moves = 0;
public:
    Game() {
        garden.connect("north", &shed, "south");
        shed.connect("down", &cellar, "up");
        shed.items.push_back(lamp);
        cellar.items.push_back(std::make_shared<Item>("key"));
    }
    bool run(const std::string& line) {
        std::istringstream in(line);
        std::string verb, noun;
        in >> verb >> noun;
        ++moves;
        if (verb == "quit") return false;
        if (verb == "look") here->look();
        else if (verb == "go") {
            if (Room* next = here->exit(noun)) { here = next; here->look(); }
            else std::cout << "You can't go " << (noun.empty() ? "nowhere" : noun) << ".\n";
        } else if (verb == "take") {
            for (auto it = here->items.begin(); it != here->items.end(); ++it)
                if ((*it)->name() == noun) {
                    std::cout << "Taken: " << (*it)->describe() << "\n";
                    bag.push_back(*it);
                    here->items.erase(it);
                    return true;
                }
            std::cout << "There is no " << noun << " here.\n";
        } else if (verb == "light") {
            bool has = false;
            for (const auto& i : bag) if (i == lamp) has = true;
            if (has) { lamp->toggle(); std::cout << "The lamp is " << (lamp->lit() ? "on" : "off") << ".\n"; }
            else std::cout << "You have no lamp.\n";
        } else if (verb == "bag") {
            int total = 0;
            for (const auto& i : bag) { std::cout << "- " << i->describe() << "\n"; total += i->weight(); }
            std::cout << total << " in all\n";
        } else std::cout << "I don't know \"" << verb << "\".\n";
        return true;
    }
    int count() const { return moves; }
};

int main() {
    Game game;
    std::string line;
    while (std::cout << "> " && std::getline(std::cin, line)) {
        std::cout << line << "\n";
        if (!game.run(line)) break;
    }
    std::cout << "Moves: " << game.count() << std::endl;
}
