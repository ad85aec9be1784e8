#include <iostream>
#include <fstream>
#include <sstream>
#include <map>
#include <vector>
#include <algorithm>
#include <functional>
#include <numeric>
using namespace std;

enum class Kind { Herb, Tree, Flower };
string toString(Kind k) {
    switch (k) {
    case Kind::Herb: return "herb";
    case Kind::Tree: return "tree";
    case Kind::Flower: return "flower";
    }
    return "?";
}
enum Level { LOW = 1, MID = 5, HIGH };

struct Item { string name; Kind kind; double price; int qty; };

vector<string> split(const string& s, char sep) {
    vector<string> parts;
    stringstream ss(s);
    string part;
    while (getline(ss, part, sep)) parts.push_back(part);
    return parts;
}

int main() {
    const string data = "basil,0,1.5,10\noak,1,30,2\nrose,2,4.25,7\nmint,0,1.2,4";
    istringstream in(data);
    string line;
    vector<Item> items;
    while (getline(in, line)) {
        auto f = split(line, ',');
        items.push_back({f[0], static_cast<Kind>(stoi(f[1])), stod(f[2]), stoi(f[3])});
    }
    map<Kind, double> totals;
    for (const Item& it : items) totals[it.kind] += it.price * it.qty;
    for (const auto& [kind, sum] : totals) cout << toString(kind) << ": " << sum << endl;
    sort(items.begin(), items.end(), [](const Item& a, const Item& b) {
        if (a.kind != b.kind) return a.kind < b.kind;
        return a.price > b.price;
    });
    for_each(items.begin(), items.end(), [](const Item& i) { cout << i.name << ' '; });
    cout << endl;
    auto cheap = count_if(items.begin(), items.end(), [](auto& i) { return i.price < 2; });
    cout << cheap << " cheap" << endl;
    function<int(int)> fact = [&](int n) { return n < 2 ? 1 : n * fact(n - 1); };
    cout << fact(6) << ' ' << HIGH << ' ' << LOW + MID << endl;
    vector<int> v(5);
    iota(v.begin(), v.end(), 3);
    transform(v.begin(), v.end(), v.begin(), [](int x) { return x * x; });
    v.erase(remove_if(v.begin(), v.end(), [](int x) { return x % 2 == 0; }), v.end());
    for (int x : v) cout << x << ' ';
    cout << '\n';
    auto pos = find_if(items.begin(), items.end(), [](const Item& i) { return i.name == "rose"; });
    if (pos != items.end()) cout << "rose at " << distance(items.begin(), pos) << '\n';
    ostringstream out;
    out << "n=" << items.size() << hex << ' ' << 255;
    cout << out.str() << '\n';
    cout << boolalpha << is_sorted(v.begin(), v.end()) << ' ' << binary_search(v.begin(), v.end(), 25) << '\n';
    reverse(v.begin(), v.end());
    cout << v[0] << '\n';
    return 0;
}
