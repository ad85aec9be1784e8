#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <memory>
#include <functional>
using namespace std;

class Item {
public:
    Item(string n, int v) : name_(n), value_(v) {}
    const string& name() const { return name_; }
    int value() const { return value_; }
private:
    string name_;
    int value_;
};

class Room {
    string name_;
    map<string, Room*> exits_;
    vector<shared_ptr<Item>> items_;
public:
    explicit Room(const string& n) : name_(n) {}
    void connect(const string& dir, Room& other, const string& back) { exits_[dir] = &other; other.exits_[back] = this; }
    Room* go(const string& dir) const { auto it = exits_.find(dir); return it == exits_.end() ? nullptr : it->second; }
    void put(shared_ptr<Item> i) { items_.push_back(i); }
    shared_ptr<Item> take(const string& n) {
        for (auto it = items_.begin(); it != items_.end(); ++it)
            if ((*it)->name() == n) { auto found = *it; items_.erase(it); return found; }
        return nullptr;
    }
    void look() const {
        cout << "You are in the " << name_ << ".";
        if (!items_.empty()) { cout << " You see:"; for (const auto& i : items_) cout << " " << i->name(); }
        cout << " Exits:";
        for (const auto& e : exits_) cout << " " << e.first;
        cout << "\n";
    }
};

class Game {
    vector<unique_ptr<Room>> rooms;
    Room* here;
    vector<shared_ptr<Item>> bag;
    map<string, function<void(const string&)>> commands;
    bool running = true;
public:
    Game() {
        for (auto n : {"garden", "shed", "pond"}) rooms.push_back(make_unique<Room>(n));
        rooms[0]->connect("north", *rooms[1], "south");
        rooms[0]->connect("east", *rooms[2], "west");
        rooms[1]->put(make_shared<Item>("rake", 5));
        rooms[2]->put(make_shared<Item>("lily", 8));
        rooms[2]->put(make_shared<Item>("frog", 2));
        here = rooms[0].get();
        commands["go"] = [this](const string& d) { if (Room* r = here->go(d)) { here = r; here->look(); } else cout << "No way " << d << "\n"; };
        commands["take"] = [this](const string& n) {
            auto i = here->take(n);
            if (!i) { cout << "No " << n << " here\n"; return; }
            bag.push_back(i);
            cout << "Taken " << i->name() << "\n";
        };
        commands["bag"] = [this](const string&) { int sum = 0; for (auto& i : bag) sum += i->value(); cout << bag.size() << " items worth " << sum << "\n"; };
        commands["quit"] = [this](const string&) { running = false; };
    }
    void play(istream& in) {
        here->look();
        string cmd, arg;
        while (running && in >> cmd) {
            auto it = commands.find(cmd);
            if (it == commands.end()) { cout << "What is " << cmd << "?\n"; continue; }
            arg.clear();
            if (cmd == "go" || cmd == "take") in >> arg;
            it->second(arg);
        }
        cout << "The end\n";
    }
};

int main() {
    Game g;
    g.play(cin);
}
