#include <iostream>
#include <string>
#include <stdexcept>
#include <memory>
#include <vector>

class Vehicle {
protected:
    std::string name_;
    int fuel_;
public:
    explicit Vehicle(std::string name, int fuel = 10) : name_(std::move(name)), fuel_{fuel} {}
    virtual ~Vehicle() = default;
    virtual int use(int km) const = 0;
    const std::string& name() const { return name_; }
    int fuel() const noexcept { return fuel_; }
    void drive(int km) {
        int need = use(km);
        if (need > fuel_)
            throw std::runtime_error(name_ + " lacks " + std::to_string(need - fuel_) + " l");
        fuel_ -= need;
        std::cout << name_ << " drove " << km << " km, " << fuel_ << " l left\n";
    }
};

class Mower final : public Vehicle {
public:
    Mower() : Vehicle("Mower", 4) {}
    int use(int km) const override { return km * 2; }
};

class Cart : public Vehicle {
    int load_ = 0;
public:
    using Vehicle::Vehicle;
    Cart& load(int kg) { load_ += kg; return *this; }
    int use(int km) const override { return km * (1 + load_ / 100); }
};

int main() {
    std::vector<std::unique_ptr<Vehicle>> fleet;
    fleet.push_back(std::make_unique<Mower>());
    auto cart = std::make_unique<Cart>("Cart", 12);
    cart->load(150).load(60);
    fleet.push_back(std::move(cart));
    for (const auto& v : fleet) {
        try {
            v->drive(1);
            v->drive(3);
        } catch (const std::exception& e) {
            std::cout << "Error: " << e.what() << std::endl;
        }
    }
    int sum = 0;
    for (auto& v : fleet) sum += v->fuel();
    std::cout << "left: " << sum << ", cart gone: " << std::boolalpha << (cart == nullptr) << '\n';
    try {
        throw std::out_of_range("row 9");
    } catch (const std::logic_error& e) {
        std::cout << "logic: " << e.what() << '\n';
    } catch (...) {
        std::cout << "other\n";
    }
    return EXIT_SUCCESS;
}
