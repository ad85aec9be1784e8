#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;

class Player {
    string name;
    int hp = 10;
    vector<string> bag;
    Player* friend_ = nullptr;
public:
    Player(const string& n) : name(n) {}
    Player& take(const string& thing) { bag.push_back(thing); return *this; }
    bool drop(const string& thing) {
        for (size_t i = 0; i < bag.size(); ++i) {
            if (bag[i] == thing) { bag.erase(bag.begin() + i); return true; }
        }
        return false;
    }
    void meet(Player& other) { friend_ = &other; }
    void hit(int d) { hp -= d; if (hp < 0) hp = 0; if (friend_) friend_->hp -= 1; }
    int health() const { return hp; }
    const vector<string>& things() const { return bag; }
    string describe() const {
        string s = name + "(" + to_string(hp) + ")";
        for (const auto& t : bag) s += " " + t;
        if (friend_ != nullptr) s += " & " + friend_->name;
        return s;
    }
};

struct Room {
    string title;
    map<string, int> exits;
    vector<string> items;
};

class World {
    vector<Room> rooms;
    int at = 0;
public:
    int add(const string& t) { rooms.push_back(Room{t, {}, {}}); return rooms.size() - 1; }
    Room& operator[](int i) { return rooms[i]; }
    void link(int a, const string& dir, int b, const string& back) { rooms[a].exits[dir] = b; rooms[b].exits[back] = a; }
    bool go(const string& dir) {
        auto it = rooms[at].exits.find(dir);
        if (it == rooms[at].exits.end()) return false;
        at = it->second;
        return true;
    }
    Room& here() { return rooms[at]; }
    const Room& here() const { return rooms[at]; }
};

int main() {
    Player a("Ash"), b("Bryn");
    a.take("lamp").take("rope");
    a.meet(b); b.meet(a);
    b.hit(3);
    a.hit(20);
    cout << a.describe() << " | " << b.describe() << endl;
    Player copy = a;
    copy.take("map");
    copy.hit(0);
    cout << a.things().size() << copy.things().size() << b.health() << endl;
    cout << a.drop("rope") << a.drop("rope") << a.things().size() << copy.things().size() << endl;
    World w;
    int hall = w.add("hall"), shed = w.add("shed");
    w.link(hall, "north", shed, "south");
    w[shed].items.push_back("spade");
    cout << w.go("west") << w.go("north") << w.here().title << w.here().items.size() << endl;
    w.here().items.clear();
    w.here().title += "!";
    cout << w[shed].items.size() << w[1].title << endl;
    Room saved = w.here();
    saved.title = "other";
    saved.exits["up"] = 9;
    cout << w.here().title << w.here().exits.size() << saved.exits.size() << endl;
    vector<Player> team{a, b};
    team[0].take("key");
    Player& first = team.front();
    first.take("coin");
    cout << team[0].things().size() << a.things().size() << endl;
    team.push_back(Player("Cleo"));
    for (Player p : team) p.take("x");
    for (auto& p : team) p.take("y");
    cout << team[2].describe() << endl;
    Player* best = &team[0];
    for (Player& p : team) if (p.health() > best->health()) best = &p;
    best->hit(1);
    cout << best->describe() << endl;
    map<string, Player> named;
    named.emplace("d", Player("Dara"));
    named.insert({"e", Player("Eli")});
    named.at("d").take("hat");
    for (auto& kv : named) cout << kv.first << ":" << kv.second.describe() << " ";
    cout << named.count("d") << endl;
    auto sum = [](const vector<int>& v) { int s = 0; for (int x : v) s += x; return s; };
    vector<int> v{1, 2, 3};
    auto addAll = [&v](int k) { for (int& x : v) x += k; return v.size(); };
    cout << sum(v) << addAll(10) << sum(v) << endl;
    vector<int> moved = move(v);
    cout << moved.size() << endl;
    int arr[] = {3, 1, 2};
    int* lo = arr;
    int* hi = arr + 3;
    while (lo < hi) { cout << *lo++ << " "; }
    cout << hi - arr << endl;
    char word[10] = "pea";
    word[0] = 'P';
    cout << word << string(word).size() << endl;
    const string& cref = a.describe();
    cout << cref.substr(0, 3) << endl;
    string s1 = "x"; string& s2 = s1;
    s2 += "y";
    cout << s1 << endl;
    bool flags[4] = {true};
    cout << flags[0] << flags[3] << endl;
    for (int i = 10; i > 0; i /= 2) cout << i << (i > 1 ? "," : "\n");
    int n = 0;
    do n += 3; while (n < 10);
    cout << n << endl;
}
