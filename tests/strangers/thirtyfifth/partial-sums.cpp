#include <iostream>
#include <vector>
#include <numeric>
using namespace std;
int main() {
    vector<int> p{1, 2, 3}, q(3);
    partial_sum(p.begin(), p.end(), q.begin());
    for (int x : q) cout << x << ' ';
    partial_sum(p.begin(), p.end(), p.begin());
    for (size_t i = 0; i < p.size(); i++) cout << p[i] << " \n"[i + 1 == p.size()];


}
