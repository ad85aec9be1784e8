#include <iostream>
#include <string>
#include <vector>
#include <sstream>
using namespace std;
struct Label { int plot; string plant; };
struct Measure { int x, y; double z; };
int main() {
    auto [plot, plant] = Label{3, "moss"};
    cout << plot << plant << "\n";
    Measure m{1, 2, 3};
    auto [x, y, z] = m;
    cout << x / 2 << y / 2 << z / 2 << "\n";
    for (auto [p, q] : vector<Label>{{1, "fern"}}) cout << p << q << "\n";
    vector<pair<string, int>> beds{{"a", 1}, {"b", 5}};
    for (auto& [name, rows] : beds) { rows *= 2; name += "x"; }
    cout << beds[1].second << beds[0].first << "\n";
    stringstream in("1 2 three 4");
    int n, sum = 0;
    while (in >> n) sum += n;
    in.clear();
    string word;
    in >> word;
    cout << sum << word << "\n";
}
