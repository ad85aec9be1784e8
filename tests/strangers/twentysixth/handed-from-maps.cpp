#include <bits/stdc++.h>
using namespace std;
void up(int& n) { n += 5; }
int main() { map<string, int> m{{"q", 1}}; up(m["q"]); cout << m["q"]; string k = "q"; up(m[k]); cout << m[k]; for (auto& [a, c] : m) up(c); cout << m["q"]; for (auto& [a, c] : m) c += 1; cout << m["q"]; for (auto& p : m) up(p.second); cout << m["q"]; }
