#include <iostream>
#include <cstring>
#include <utility>

class IntArray {
    int* data_;
    int size_;
public:
    explicit IntArray(int n) : data_(new int[n]), size_(n) {
        for (int i = 0; i < n; i++) data_[i] = 0;
    }
    IntArray(const IntArray& other) : data_(new int[other.size_]), size_(other.size_) {
        for (int i = 0; i < size_; i++) data_[i] = other.data_[i];
    }
    IntArray& operator=(const IntArray& other) {
        if (this != &other) {
            delete[] data_;
            size_ = other.size_;
            data_ = new int[size_];
            std::copy(other.data_, other.data_ + size_, data_);
        }
        return *this;
    }
    ~IntArray() { delete[] data_; }
    int& operator[](int i) { return data_[i]; }
    int operator[](int i) const { return data_[i]; }
    int size() const { return size_; }
};

int sum(const IntArray& a) {
    int s = 0;
    for (int i = 0; i < a.size(); ++i) s += a[i];
    return s;
}

int main() {
    IntArray a(5);
    for (int i = 0; i < a.size(); i++) a[i] = i * i;
    IntArray b = a;
    b[0] = 100;
    std::cout << sum(a) << ' ' << sum(b) << '\n';
    IntArray c(2);
    c = b;
    c[4] = -1;
    std::cout << c.size() << ' ' << sum(c) << ' ' << sum(b) << std::endl;
    std::swap(a, c);
    std::cout << sum(a) << ' ' << sum(c) << std::endl;
}
