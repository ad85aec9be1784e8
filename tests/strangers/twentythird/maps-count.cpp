#include <iostream>
#include <map>
using namespace std;
int n = 0;
string k() { n++; return "b"; }
int main() {
    map<string, int> m;
    m[k()] += 8;
    m[k()]++;
    ++m[k()];
    m[k()] -= 1;
    m[k()] *= 2;
    cout << m["b"] << " " << n << endl;
    map<string, string> t;
    t[k()] += "x";
    t[k()] += 'y';
    cout << t["b"] << " " << n << endl;
    map<string, map<string, int>> g;
    g[k()][k()]++;
    g[k()][k()] += 3;
    cout << g["b"]["b"] << " " << n << endl;
    m[k()] = m[k()] + 1;
    cout << m["b"] << " " << n << endl;
}
