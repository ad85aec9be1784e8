#include <iostream>
#include <map>
#include <vector>
#include <string>
#include <unordered_map>

using namespace std;

struct Bed { map<string,int> plants; int total = 0; };

int main() {
    vector<string> words = {"bean", "rose", "bean", "pea", "bean"};
    unordered_map<string, int> count;
    int best = 0;
    string most;
    for (const auto &w : words)
        if (++count[w] > best) {
            best = count[w];
            most = w;
        }
    cout << most << " " << best << endl;
    map<char, int> letters;
    for (char c : most) if (letters[c]++ == 0) cout << c;
    cout << endl;
    Bed b;
    b.total += ++b.plants["kale"];
    b.total += b.plants["kale"]++ * 10;
    cout << b.total << " " << b.plants["kale"] << endl;
    map<string, vector<int>> g;
    g["a"].push_back(g["b"].size());
    int n = g["a"][0]++;
    cout << n << g["a"][0] << g.size() << endl;
    map<string, map<string, int>> deep;
    int d = deep["x"]["y"]++ + ++deep["x"]["z"];
    cout << d << deep["x"]["y"] << deep["x"].size() << endl;
    map<string, string> names;
    string s = (names["a"] += "bc");
    cout << s << names["a"] << endl;
    map<int, double> m;
    double v = (m[3] += 2.5);
    cout << v << " " << (m[3] *= 2) << endl;
    map<string, bool> seen;
    if (!seen["p"]) seen["p"] = true;
    bool was = (seen["q"] = true);
    cout << was << seen.size() << endl;
}
