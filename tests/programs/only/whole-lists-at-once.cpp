#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <numeric>
#include <bitset>
using namespace std;
typedef long long ll;
ll power(ll b, int e, ll mod) { ll r = 1; for (b %= mod; e; e >>= 1, b = b * b % mod) { if (e & 1) r = r * b % mod; } return r; }
struct A { string name = "a"; virtual string who() { return "A"; } virtual ~A() {} };
struct B : A { string who() override { return "B"; } };
int f(int x) { return x - 3; }
int main() {
    cout << power(2, 62, 1000000007LL) << endl;
    A* one = new B(); A* two = new A();
    if (B* b = dynamic_cast<B*>(one)) cout << "is B " << b->who() << endl;
    if (B* c = dynamic_cast<B*>(two)) cout << "is B " << c->who() << endl; else cout << "no" << endl;
    if (int d = f(3)) cout << "three" << d << endl;
    if (int e = f(5)) cout << "five " << e << endl;
    vector<int> nums(10);
    iota(nums.begin(), nums.end(), 1);
    nums.erase(remove_if(nums.begin(), nums.end(), [](int x) { return x > 4; }), nums.end());
    nums.push_back(4); nums.push_back(1);
    nums.erase(unique(nums.begin(), nums.end()), nums.end());
    nums.erase(remove(nums.begin(), nums.end(), 2), nums.end());
    for (int x : nums) cout << x << ' ';
    cout << bitset<8>(37) << " " << bitset<4>(5).count() << endl;
    cout << std::boolalpha << binary_search(nums.begin(), nums.end(), 2) << " " << is_sorted(nums.begin(), nums.end()) << endl;
    vector<string> w = {"aa", "bbbb", "c"};
    auto longest = max_element(w.begin(), w.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
    cout << *longest << " " << longest - w.begin() << " " << *min_element(w.begin(), w.end(), [](auto& a, auto& b) { return a.size() < b.size(); }) << endl;
    fill(nums.begin(), nums.end(), 7);
    cout << accumulate(nums.begin(), nums.end(), 0) << endl;
    string s = "x"; s.append("yz").append("!"); s.append(s); cout << s << endl;
}
