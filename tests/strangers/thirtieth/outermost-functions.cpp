#include <iostream>
#include <map>
#include <string>
#include <functional>
#include <vector>
using namespace std;
int main() { map<string, function<int(int)>> ops{{"d", [](int a) { return a * 2; }}, {"e", [](int a) { return a + 1; }}}; cout << ops.begin()->second(4) << ops.rbegin()->second(4) << ops.begin()->first; vector<pair<string, function<int(int)>>> l{{"x", [](int a) { return -a; }}}; cout << l[0].second(3) << l.begin()->second(4) << l.front().second(5); }
