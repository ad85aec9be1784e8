#include <iostream>
#include <vector>
using namespace std;
int sum(const int* p, int n) { int s = 0; while (n-- > 0) s += *p++; return s; }
struct Bed { int rows; vector<int> l; };
class Shed {
public:
    void add(int n) { beds.push_back(n); }
    int count() const { return beds.size(); }
private:
    vector<int> beds;
};
int main() {
    int a[2] = {3, 4};
    cout << sum(a, 2) << endl;
    vector<int> v = {1, 2};
    for (; !v.empty(); v.pop_back()) cout << v.back();
    v.push_back(5), v.push_back(6);
    v.back() += 2;
    Bed* p = new Bed{1, {2}};
    Bed q = *p;
    *p = q;
    Shed s; s.add(3); cout << s.count() << v[1] << endl;
}
