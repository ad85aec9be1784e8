#include <iostream>
#include <vector>
#include <numeric>
#include <string>
using namespace std;
int main() {
    vector<double> d = {0.5, 0.75, 1.5};
    cout << accumulate(d.begin(), d.end(), 0) << " " << accumulate(d.begin(), d.end(), 0.0) << endl;
    vector<int> v = {1, 2, 3};
    cout << accumulate(v.begin(), v.end(), 10) << " " << accumulate(v.begin(), v.end(), 0.5) << endl;
    vector<string> w = {"a", "b"};
    cout << accumulate(w.begin(), w.end(), string("")) << endl;
    cout << accumulate(w.begin(), w.end(), string("<"), [](const string& a, const string& b) { return a + b + ","; }) << endl;
    cout << accumulate(v.begin(), v.end(), 1, [](int a, int b) { return a * b; }) << endl;
    cout << accumulate(v.begin(), v.end(), 1, multiplies<int>()) << accumulate(v.begin(), v.end(), 0, std::plus<>()) << endl;
    double mean = accumulate(v.begin(), v.end(), 0.0) / v.size();
    cout << mean << endl;
}
