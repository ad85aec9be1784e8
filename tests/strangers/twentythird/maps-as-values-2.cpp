#include <iostream>
#include <map>
using namespace std;
int main() {
    map<string, int> m{{"a", 1}, {"b", 6}};
    int x = m["b"]++;
    int y = ++m["b"];
    int z = (m["c"] += 4);
    if (++m["d"] == 1) cout << "first" << endl;
    cout << x << y << z << m["b"] << m["c"] << m.size() << endl;
}
