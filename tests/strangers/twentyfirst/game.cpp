#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <functional>
#include <algorithm>
using namespace std;

class Entity {
protected:
    string name;
    int hp;
    int x = 0, y = 0;
public:
    Entity(string name, int hp) : name(name), hp(hp) {}
    virtual ~Entity() {}
    virtual void act(vector<Entity*>& others) = 0;
    virtual char symbol() const { return '?'; }
    void move(int dx, int dy) { x += dx; y += dy; }
    void hurt(int n) { hp = max(0, hp - n); }
    bool alive() const { return hp > 0; }
    int distance(const Entity& o) const { return abs(x - o.x) + abs(y - o.y); }
    friend ostream& operator<<(ostream& os, const Entity& e);
};

ostream& operator<<(ostream& os, const Entity& e) {
    os << e.symbol() << ":" << e.name << "(" << e.hp << ")@" << e.x << "," << e.y;
    return os;
}

class Slug : public Entity {
public:
    Slug(string n) : Entity(n, 3) {}
    void act(vector<Entity*>& others) override { move(1, 0); }
    char symbol() const override { return 'S'; }
};

class Hedgehog : public Entity {
    int eaten = 0;
public:
    Hedgehog() : Entity("hog", 10) { move(4, 1); }
    void act(vector<Entity*>& others) override {
        Entity* target = nullptr;
        for (Entity* e : others) {
            if (e == this || !e->alive()) continue;
            if (target == nullptr || distance(*e) < distance(*target)) target = e;
        }
        if (target == nullptr) return;
        if (distance(*target) <= 1) {
            target->hurt(2);
            if (!target->alive()) eaten++;
        } else {
            move(-1, 0);
        }
    }
    char symbol() const override { return eaten ? 'H' : 'h'; }
};

int main() {
    Slug a("slimy"), b("slow");
    b.move(0, 3);
    Hedgehog hog;
    vector<Entity*> all{&a, &b, &hog};
    for (int turn = 1; turn <= 5; ++turn) {
        for (auto e : all)
            if (e->alive()) e->act(all);
        cout << "turn " << turn << ": ";
        for (const auto* e : all) cout << *e << " ";
        cout << '\n';
    }
    int left = count_if(all.begin(), all.end(), [](Entity* e) { return e->alive(); });
    cout << left << " alive" << endl;
    map<string, function<int(int, int)>> ops = {{"add", [](int p, int q) { return p + q; }}, {"max", [](int p, int q) { return max(p, q); }}};
    for (auto& [n, f] : ops) cout << n << "=" << f(3, 4) << " ";
    cout << endl;
}
