#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;

// A small library of seeds
struct Seed {
    string name;
    double price;
    int stock;
};

double worth(const vector<Seed>& seeds) {
    double sum = 0;
    for (const Seed& s : seeds) sum += s.price * s.stock;
    return sum;
}

int findSeed(const vector<Seed>& seeds, const string& name) {
    for (int i = 0; i < (int)seeds.size(); i++) {
        if (seeds[i].name == name) return i;
    }
    return -1;
}

void sell(Seed& seed, int n) {
    if (n > seed.stock) {
        cout << "not enough " << seed.name << endl;
        return;
    }
    seed.stock -= n;
}

struct Node {
    int value;
    Node* next;
    Node(int v) : value(v), next(nullptr) {}
};

class Queue {
    vector<int> items;
public:
    void push(int x) { items.push_back(x); }
    int pop() {
        int x = items.front();
        items.erase(items.begin());
        return x;
    }
    bool empty() const { return items.empty(); }
    int size() const { return items.size(); }
};

int main() {
    vector<Seed> seeds;
    seeds.push_back({"rose", 1.5, 10});
    seeds.push_back({"bean", 0.25, 40});
    Seed extra;
    extra.name = "fern";
    extra.price = 3;
    extra.stock = 1;
    seeds.push_back(extra);
    cout << worth(seeds) << endl;
    int at = findSeed(seeds, "bean");
    if (at >= 0) sell(seeds[at], 15);
    sell(seeds[0], 99);
    cout << seeds[at].stock << " " << findSeed(seeds, "moss") << endl;
    Node* head = new Node(1);
    head->next = new Node(2);
    head->next->next = new Node(3);
    int total = 0;
    for (Node* n = head; n != nullptr; n = n->next) {
        total += n->value;
    }
    Node* walk = head;
    while (walk) {
        cout << walk->value << " ";
        walk = walk->next;
    }
    cout << total << endl;
    Queue q;
    q.push(4);
    q.push(7);
    cout << q.pop() << " " << q.size() << " " << q.empty() << endl;
    map<string, Seed> byName;
    byName["rose"] = seeds[0];
    cout << byName["rose"].price << endl;
    return 0;
}
