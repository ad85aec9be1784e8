#include <iostream>
#include <list>
#include <deque>
#include <vector>
#include <algorithm>
using namespace std;
int main() {
    vector<int> v = {5, 4}; auto g = find(v.begin(), v.end(), 4); v.insert(g, 9); for (int x : v) cout << x; 
    deque<int> m = {4}; auto f = find(m.begin(), m.end(), 4); m.insert(f, 9); for (int x : m) cout << x; 
}
