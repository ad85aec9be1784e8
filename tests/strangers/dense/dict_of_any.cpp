#include <iostream>
#include <vector>
#include <string>
using namespace std;

template <class K, class V>
class Dict {
    vector<K> keys;
    vector<V> values;
public:
    void set(const K& k, const V& v) {
        for (size_t i = 0; i < keys.size(); i++)
            if (keys[i] == k) { values[i] = v; return; }
        keys.push_back(k);
        values.push_back(v);
    }
    V get(const K& k, V fallback) const {
        for (size_t i = 0; i < keys.size(); i++)
            if (keys[i] == k) return values[i];
        return fallback;
    }
    int size() const { return keys.size(); }
};

template <typename T>
class Box {
    T item;
public:
    Box(T x) : item(x) {}
    T get() const { return item; }
    void put(T x) { item = x; }
};

int main() {
    Dict<string, double> prices;
    prices.set("leek", 2);
    prices.set("kale", 3.5);
    prices.set("leek", 5);
    cout << prices.get("leek", 0) / 2 << " " << prices.get("x", -1) << " " << prices.size() << endl;
    Box<double> b(7);
    cout << b.get() / 2 << endl;
    b.put(1);
    cout << b.get() / 4 << endl;
    vector<Box<double>> boxes;
    boxes.push_back(Box<double>(3));
    boxes.push_back(b);
    for (const Box<double>& x : boxes) cout << x.get() / 2 << " ";
    cout << endl;
}
